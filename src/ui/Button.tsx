import type { ButtonHTMLAttributes } from 'react';

type Look = 'copper' | 'outline' | 'plain' | 'quiet';

const LOOKS: Readonly<Record<Look, string>> = {
  copper: 'bg-copper text-white hover:bg-[#8f4717] border border-copper',
  outline: 'border border-ink/70 text-ink hover:bg-ink/5',
  plain: 'border border-copper text-copper hover:bg-copper/10',
  quiet: 'text-cobalt hover:underline underline-offset-4',
};

/** The classes of a button, for links that look like one. */
export function buttonLook(look: Look = 'outline'): string {
  return `inline-flex min-h-11 items-center justify-center gap-2 rounded-full px-4 text-body font-medium disabled:opacity-45 disabled:cursor-not-allowed ${LOOKS[look]}`;
}

export function Button({
  look = 'outline',
  className = '',
  type = 'button',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { readonly look?: Look }) {
  return <button type={type} className={`${buttonLook(look)} ${className}`} {...rest} />;
}

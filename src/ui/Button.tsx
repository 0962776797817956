import type { ButtonHTMLAttributes } from 'react';

type Look = 'copper' | 'outline' | 'plain' | 'quiet' | 'chosen';

const LOOKS: Readonly<Record<Look, string>> = {
  copper: 'bg-copper text-white hover:bg-[#8f4717] border border-copper',
  outline: 'border border-ink/70 text-ink hover:bg-ink/5',
  plain: 'border border-copper text-copper hover:bg-copper/10',
  chosen: 'border border-cobalt bg-cobalt text-white',
  quiet: 'text-cobalt hover:underline underline-offset-4',
};

/** From a row of a sheet to the one press of the Stove, which a wet hand must hit. */
export type ButtonSize = 'narrow' | 'small' | 'normal' | 'thumb' | 'large' | 'press';

const SIZES: Readonly<Record<ButtonSize, string>> = {
  narrow: 'min-h-11 min-w-0 rounded-full text-body',
  small: 'min-h-10 rounded-full px-3 text-small max-lg:min-h-11',
  normal: 'min-h-11 rounded-full px-4 text-body',
  thumb: 'min-h-12 rounded-full px-4 text-body short:min-h-11 short:px-2.5 short:text-small',
  large: 'min-h-14 rounded-full px-6 text-lg short:min-h-12 short:px-4 short:text-base',
  press: 'min-h-16 rounded-2xl px-14 text-2xl short:min-h-14',
};

/** The classes of a button, for links that look like one. */
export function buttonLook(look: Look = 'outline', size: ButtonSize = 'normal'): string {
  return `inline-flex items-center justify-center gap-2 font-medium disabled:opacity-45 disabled:cursor-not-allowed ${SIZES[size]} ${LOOKS[look]}`;
}

export function Button({
  look = 'outline',
  size = 'normal',
  className = '',
  type = 'button',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { readonly look?: Look; readonly size?: ButtonSize }) {
  return <button type={type} className={`${buttonLook(look, size)} ${className}`} {...rest} />;
}

/** Stands in for the framework's link in a test: an anchor that goes where the page's router goes. */
import type { AnchorHTMLAttributes, MouseEvent } from 'react';
import { go } from './navigation';

type LinkProps = AnchorHTMLAttributes<HTMLElement> & { readonly prefetch?: boolean };

export default function Link({ href = '', onClick, prefetch, ...rest }: LinkProps) {
  void prefetch;
  const follow = (event: MouseEvent<HTMLElement>): void => {
    onClick?.(event);
    event.preventDefault();
    go(href);
  };
  return <a {...rest} href={href} onClick={follow} />;
}

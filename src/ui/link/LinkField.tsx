/** A link to be copied by hand, where the browser does not copy for the page. */
export function LinkField({ link }: { readonly link: string }) {
  if ('clipboard' in navigator) return null;
  return (
    <label className="block text-small font-medium">
      Link to the code
      <input
        className="field mt-1 font-normal"
        readOnly
        value={link}
        onFocus={({ target }) => target.select()}
      />
    </label>
  );
}

/** Types a key into a field as a keyboard would, so that whatever listens to it hears it: a character, or rubbing one out. */
export function typeInto(field: HTMLInputElement | null | undefined, key: string) {
  if (!field) return;
  const [from, to] = [field.selectionStart ?? field.value.length, field.selectionEnd ?? field.value.length];
  const begin = key === "⌫" && from === to ? Math.max(0, from - 1) : from;
  const put = key === "⌫" ? "" : key;
  const value = field.value.slice(0, begin) + put + field.value.slice(to);
  // React watches the element's own setter; the prototype's is heard as typing.
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set?.call(field, value);
  field.dispatchEvent(new Event("input", { bubbles: true }));
  field.focus();
  field.setSelectionRange(begin + put.length, begin + put.length);
}

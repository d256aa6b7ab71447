/** What was typed into a field of a form; nothing where there is no such field, or a file. */
export function textIn(form: FormData, name: string): string {
  const value = form.get(name);
  return typeof value === "string" ? value : "";
}

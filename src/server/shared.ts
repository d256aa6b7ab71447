/*
 * The builder gives every route modules of its own: what stands in one, another does not see. What the whole server must know
 * of stands here, under a name.
 */
const held = globalThis as { ironCrockShared?: Map<string, unknown> };

/** @returns the same thing to whoever in this process asks by this name; made by the first */
export function shared<T>(name: string, make: () => T): T {
  const things = (held.ironCrockShared ??= new Map());
  if (!things.has(name)) things.set(name, make());
  return things.get(name) as T;
}

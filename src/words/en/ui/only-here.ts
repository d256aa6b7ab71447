export const namesWhichOnlyThisMachine = (what: string, origin: string) =>
  `${what} names ${origin}, which only this machine reaches. For another device open the kitchen by the address that device has for it, and take it from there.`;

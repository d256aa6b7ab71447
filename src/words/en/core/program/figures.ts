export const and = (part: string, each: string) => `${part} and ${each}`;

import type { FullConfig } from "@playwright/test";
import { loadExample } from "./example";
import { FIRST_PORT, PORTS_A_WORKER } from "./ports";
import { isAnswered } from "./server";

/** Each run begins where nobody else listens, with the example kitchen as it is loaded today. */
export default async function setup({ workers }: FullConfig): Promise<void> {
  const urls = Array.from(
    { length: workers * PORTS_A_WORKER },
    (_, i) => `http://127.0.0.1:${FIRST_PORT + i}`,
  );
  const taken = await Promise.all(urls.map(isAnswered));
  const others = urls.filter((_, i) => taken[i]).join(", ");
  if (others) throw new Error(`Somebody else answers at ${others}: stop that first.`);
  loadExample();
}

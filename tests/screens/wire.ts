import type { ConsoleMessage, Page, Request } from "../kitchen";

/** What a page asks of anybody but its kitchen, and what it logs as a fault, until it is no longer listened to. */
export function listen(page: Page): { amiss: string[]; stop: () => void } {
  const amiss: string[] = [];
  const asked = (request: Request) => {
    const { hostname, protocol } = new URL(request.url());
    if (hostname !== "127.0.0.1" && protocol !== "data:")
      amiss.push(`asked of the outside: ${request.url()}`);
  };
  const logged = (message: ConsoleMessage) => {
    if (message.type() === "error") amiss.push(`logged: ${message.text()}`);
  };
  const thrown = (error: Error) => void amiss.push(`thrown: ${error.message}`);
  page.on("request", asked).on("console", logged).on("pageerror", thrown);
  const stop = () => void page.off("request", asked).off("console", logged).off("pageerror", thrown);
  return { amiss, stop };
}

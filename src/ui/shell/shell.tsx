import { LineNotice } from "./line-notice";
import { RefusedNotice } from "./refused-notice";
import { Rack } from "./rack";
import { UntilAlive } from "./until-alive";

interface Props {
  title: string;
  /** A quiet line beside the title. */
  note?: React.ReactNode;
  /** In place of title and note: what this station has to say for itself. */
  head?: React.ReactNode;
  actions?: React.ReactNode;
  /** Not yet to be changed: what this tab holds is still being read. */
  waiting?: boolean;
  children: React.ReactNode;
}

/** One station: its name and actions on top, the iron rack at the side or, on a phone, at the foot. */
export function Shell({ title, note, head, actions, waiting, children }: Props) {
  return (
    <div className="flex min-h-dvh flex-col pb-20 lg:h-dvh lg:flex-row lg:pb-0">
      <Rack />
      <UntilAlive className="flex min-w-0 flex-1 flex-col" waiting={waiting}>
        <header className="flex min-h-15 flex-wrap items-center gap-x-4 gap-y-2 border-b border-line px-4 py-2 lg:px-6">
          {head ? (
            <div className="min-w-0 basis-full lg:flex-1 lg:basis-0">
              <h1 className="sr-only">{title}</h1>
              {head}
            </div>
          ) : (
            <>
              <h1 className="flex-1 text-3xl lg:flex-none">{title}</h1>
              <div className="order-last min-w-0 basis-full text-quiet lg:order-none lg:flex-1 lg:basis-0">
                {note}
              </div>
            </>
          )}
          <div className="flex flex-wrap gap-2">{actions}</div>
        </header>
        <LineNotice />
        <RefusedNotice />
        {/* What is hidden in it for screen readers stays in it: the page itself must not grow and scroll. */}
        <main className="relative min-h-0 flex-1 lg:overflow-auto">{children}</main>
      </UntilAlive>
    </div>
  );
}

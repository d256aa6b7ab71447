import { useOrigin } from "./use-origin";

const LOOPBACK = /\/\/(?:localhost|127(?:\.\d+){3}|\[::1\])(?::\d+)?$/;

/** An address of this machine alone reaches no other device: said wherever one is given away. */
export function OnlyHere({ what }: { what: string }) {
  const origin = useOrigin();
  if (!LOOPBACK.test(origin)) return null;
  return (
    <p className="py-2 font-semibold" data-only-here>
      {what} names {origin}, which only this machine reaches. For another device open the kitchen by the
      address that device has for it, and take it from there.
    </p>
  );
}

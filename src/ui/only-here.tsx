import { useOrigin } from "./use-origin";
import * as words from "@/words/ui/only-here";

const LOOPBACK = /\/\/(?:localhost|127(?:\.\d+){3}|\[::1\])(?::\d+)?$/;

/** An address of this machine alone reaches no other device: said wherever one is given away. */
export function OnlyHere({ what }: { what: string }) {
  const origin = useOrigin();
  if (!LOOPBACK.test(origin)) return null;
  return (
    <p className="py-2 font-semibold" data-only-here>
      {words.namesWhichOnlyThisMachine(what, origin)}
    </p>
  );
}

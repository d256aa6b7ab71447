"use client";

import { useSyncExternalStore } from "react";
import type { KitchenView } from "@/contracts/views";
import { deviceWays } from "@/ui/device";
import { SaveProblem, useSave } from "@/ui/use-save";
import * as words from "@/words/shelf/as-this-device";

const MEASURES = words.measures;

/** A new kitchen and the device in hand keep different hours or measures: told once, changed only by a tap. */
export function AsThisDevice({ kitchen }: { kitchen: Pick<KitchenView, "timeZone" | "measures"> }) {
  const { save, problem } = useSave();
  const device = useDevice();
  if (!device || (device.timeZone === kitchen.timeZone && device.measures === kitchen.measures)) return null;
  const said = ({ timeZone, measures }: Pick<KitchenView, "timeZone" | "measures">) =>
    words.timeAnd(timeZone, MEASURES[measures]);
  return (
    <div className="flex max-w-prose flex-col items-start gap-2 border-l-8 border-primary bg-base-100 p-3">
      <p className="text-lg">{words.thisKitchenKeepsYourDevice(said(kitchen), said(device))}</p>
      <button
        type="button"
        className="btn min-h-12"
        onClick={() => void save("PATCH", "/api/kitchen", device)}
      >
        {words.useMyDevices}
      </button>
      <SaveProblem problem={problem} />
    </div>
  );
}

const never = () => () => undefined;
let told: ReturnType<typeof deviceWays> | undefined;

/** What the browser tells; nothing while the server draws. */
const useDevice = () =>
  useSyncExternalStore(
    never,
    () => (told ??= deviceWays()),
    () => undefined,
  );

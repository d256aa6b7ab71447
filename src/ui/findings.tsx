import { Lightbulb, OctagonAlert, TriangleAlert } from "lucide-react";
import type { Finding, Severity } from "@/core/safety/rule";
import { fill } from "./say";
import { Told } from "./measures";
import * as words from "@/words/ui/findings";

const LOOK: Record<Severity, { word: string; tone: string; Icon: typeof Lightbulb }> = {
  stop: { word: words.stop, tone: "border-error", Icon: OctagonAlert },
  caution: { word: words.caution, tone: "border-warning", Icon: TriangleAlert },
  tip: { word: words.tip, tone: "border-info", Icon: Lightbulb },
};

const TEXT_TONE: Record<Severity, string> = { stop: "text-error", caution: "text-warning", tip: "text-info" };

/** What the rules say, gravest first: what is wrong in numbers, and what to do instead. */
export function Findings({ findings }: { findings: readonly Finding[] }) {
  return (
    <ul className="space-y-2" aria-label={words.cautions}>
      {findings.map((finding) => (
        <li key={finding.id}>
          <FindingCard finding={finding} />
        </li>
      ))}
    </ul>
  );
}

export function FindingCard({ finding, children }: { finding: Finding; children?: React.ReactNode }) {
  return (
    <Notice severity={finding.severity} title={finding.title} open={finding.severity === "stop"}>
      <p>
        <Told>{fill(finding.because, finding.data)}</Told>
      </p>
      <p>
        <span className="font-semibold">{words.instead} </span>
        <Told>{fill(finding.instead, finding.data)}</Told>
      </p>
      <p className="text-sm text-quiet">
        {finding.source}. {finding.deferTo}
      </p>
      {children}
    </Notice>
  );
}

/** Something to heed, by its gravity; what stands in it can be folded away. */
export function Notice(props: {
  severity: Severity;
  title: string;
  open: boolean;
  children: React.ReactNode;
}) {
  const { word, tone, Icon } = LOOK[props.severity];
  return (
    <details className={`border border-l-8 bg-base-100 ${tone}`} open={props.open}>
      <summary className="flex min-h-11 cursor-pointer items-center gap-2 px-2 py-1 leading-tight font-semibold">
        <Icon size={18} aria-hidden className={`shrink-0 ${TEXT_TONE[props.severity]}`} />
        <span>
          <span className={TEXT_TONE[props.severity]}>{word}: </span>
          <Told>{props.title}</Told>
        </span>
      </summary>
      <div className="space-y-1 px-2 pb-2">{props.children}</div>
    </details>
  );
}

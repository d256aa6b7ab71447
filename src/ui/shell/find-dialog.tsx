"use client";

import { Command } from "cmdk";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import type { Found } from "@/contracts/find";
import { Modal } from "../modal";
import { read } from "../send";
import * as words from "@/words/ui/shell/find-dialog";

const WAIT_MS = 120;

/** Finds anything in the kitchen by a few letters; arrows and Enter, or a tap. */
export function FindDialog({ onClose }: { onClose: () => void }) {
  const router = useRouter();
  const [text, setText] = useState("");
  const [found, setFound] = useState<Found[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);

  useEffect(() => {
    let stale = false;
    const find = async () => {
      const answer =
        text.trim() === "" ? null : await read<Found[]>(`/api/find?q=${encodeURIComponent(text)}`);
      if (stale) return;
      setFound(answer?.ok ? answer.value : null);
      setProblem(answer && !answer.ok ? answer.problem.title : null);
    };
    const waiting = setTimeout(() => void find(), WAIT_MS);
    return () => {
      stale = true;
      clearTimeout(waiting);
    };
  }, [text]);

  return (
    <Modal title={words.find} onClose={onClose}>
      <Command shouldFilter={false} label={words.findAnything}>
        <Command.Input
          autoFocus
          value={text}
          onValueChange={setText}
          placeholder={words.aFormulaABatchA}
          className="entry min-h-12 w-full !border-line !text-left text-lg"
        />
        <Command.List label={words.found} className="mt-2 max-h-96 overflow-auto">
          {problem && <p role="alert">{problem}</p>}
          {found?.length === 0 && <p className="py-2">{words.nothingOfThatName}</p>}
          {found?.map((f) => (
            <Command.Item
              key={f.key}
              value={f.key}
              className="flex min-h-12 cursor-pointer items-center justify-between gap-3 border-b border-line px-2 aria-selected:bg-neutral aria-selected:text-neutral-content"
              onSelect={() => {
                onClose();
                router.push(f.href);
              }}
            >
              <span className="font-semibold">{f.name}</span>
              <span className="text-sm">{words.kinds[f.kind]}</span>
            </Command.Item>
          ))}
        </Command.List>
      </Command>
    </Modal>
  );
}

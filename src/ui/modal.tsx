"use client";

import { X } from "lucide-react";
import { useId } from "react";
import * as words from "@/words/ui/modal";

/** Dialogs that stand in the page, one from another. */
let standing = 0;

const holdPage = (more: 1 | -1) => {
  standing += more;
  document.documentElement.classList.toggle("behind-dialog", standing > 0);
};

/** Shown as soon as it is there, and the page behind it held: a dialog stands in the page only while it is open. */
const showModal = (dialog: HTMLDialogElement) => {
  if (!dialog.open) dialog.showModal();
  holdPage(1);
  return () => holdPage(-1);
};

/** A dialog over the page; Escape, the cross and the darkened page all close it. */
export function Modal(props: {
  title: string;
  onClose: () => void;
  wide?: boolean;
  children: React.ReactNode;
}) {
  const heading = useId();
  return (
    <dialog
      ref={showModal}
      className="modal text-base-content"
      aria-labelledby={heading}
      onClose={props.onClose}
    >
      <div className={`modal-box border border-line text-left ${props.wide ? "max-w-5xl" : "max-w-xl"}`}>
        <div className="mb-3 flex items-start justify-between gap-4">
          <h2 id={heading} className="text-2xl">
            {props.title}
          </h2>
          <form method="dialog">
            <button className="btn btn-square btn-ghost" aria-label={words.close}>
              <X size={20} aria-hidden />
            </button>
          </form>
        </div>
        {props.children}
      </div>
      <form method="dialog" className="modal-backdrop">
        <button aria-label={words.close}>{words.closeByTapBeside}</button>
      </form>
    </dialog>
  );
}

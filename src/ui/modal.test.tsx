/** @jest-environment jsdom */
import { render } from "@testing-library/react";
import { Modal } from "./modal";

// No part of the page that tests are run in.
HTMLDialogElement.prototype.showModal = function (this: HTMLDialogElement) {
  this.open = true;
};

const isHeld = () => document.documentElement.classList.contains("behind-dialog");

const dialog = (title: string) => (
  <Modal key={title} title={title} onClose={() => undefined}>
    {title}
  </Modal>
);

test("the page is held behind a dialog, and behind one that another opened, until the last is gone", () => {
  const shown = render(<>{[dialog("Start")]}</>);
  expect(isHeld()).toBe(true);
  shown.rerender(<>{[dialog("Start"), dialog("Why?")]}</>);
  expect(isHeld()).toBe(true);
  shown.rerender(<>{[dialog("Start")]}</>);
  expect(isHeld()).toBe(true);
  shown.rerender(<>{[]}</>);
  expect(isHeld()).toBe(false);
});

export const copyItNowItIs = "Copy it now: it is not told again.";
export const copied = (copied: boolean) => (copied ? "Copied" : "Copy");

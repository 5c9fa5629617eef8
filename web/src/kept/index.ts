export { keep, keepsNothing, kept } from "./browser";
export { orLast, seenAt } from "./lastSeen";
export { signal, useSignal } from "./signal";
export { useLastGood } from "./useLastGood";

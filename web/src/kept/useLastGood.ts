import { useState } from "react";

/** The last that was there for this question, while the next one fails: what is on screen stays. */
export function useLastGood<T>(of: string, answer: T | undefined): T | undefined {
  const [good, setGood] = useState<{ of: string; answer: T } | null>(null);
  if (answer !== undefined && (good?.of !== of || good.answer !== answer)) setGood({ of, answer });
  return answer ?? (good?.of === of ? good.answer : undefined);
}

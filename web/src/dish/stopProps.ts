import type { ReactNode } from "react";
import type { Brief, Plan } from "../api";

export interface StopProps {
  plan: Plan;
  brief: Brief;
  dishId: string;
  /** Of the dish as saved. */
  version: number;
  /** The cut through the dish, for the column that keeps it in view. */
  drawing: ReactNode;
  edit: (change: Partial<Brief>) => void;
}

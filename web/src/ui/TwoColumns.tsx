import type { ReactNode } from "react";

/** Cards in two columns beside a drawing that stays in view; on a narrow screen the drawing, then one card after the other. */
export function TwoColumns({ drawing, first, second }: { drawing: ReactNode; first: ReactNode; second?: ReactNode }) {
  return (
    <div className="flex flex-col gap-5 lg:grid lg:grid-cols-[minmax(0,1fr)_27rem] lg:items-start xl:grid-cols-[minmax(0,1fr)_35rem]">
      <div className="order-2 flex min-w-0 flex-col gap-5">{first}</div>
      <div className="contents lg:order-2 lg:flex lg:h-full lg:flex-col lg:gap-5">
        <div className="order-1 z-10 bg-enamel lg:sticky lg:top-0 lg:pb-2">{drawing}</div>
        {second && <div className="order-3 flex min-w-0 flex-col gap-5">{second}</div>}
      </div>
    </div>
  );
}

import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { type ComponentType, lazy, Suspense } from "react";
import { BrowserRouter, Link, Navigate, Route, Routes, useLocation } from "react-router";
import { learn, type Room, rich, told } from "./messages";
import { Shelf } from "./shelf/Shelf";
import { Boundary, Page, Toasts } from "./ui";

/** A page with its words, which what stands at the top of its modules needs at once. */
function page(rooms: readonly Room[], load: () => Promise<ComponentType>) {
  return lazy(async () => {
    await Promise.all(rooms.map(learn));
    return { default: await load() };
  });
}

const Shortcuts = lazy(() => import("./ui/Shortcuts").then((m) => ({ default: m.Shortcuts })));
const NewRecipe = lazy(() => import("./shelf/NewRecipe").then((m) => ({ default: m.NewRecipe })));
const CardPage = page(["dish"], () => import("./dish").then((m) => m.CardPage));
const DishPage = page(["dish"], () => import("./dish").then((m) => m.DishPage));
const HousePage = page(["house"], () => import("./house").then((m) => m.HousePage));
const LarderPage = page(["larder"], () => import("./larder").then((m) => m.LarderPage));
const MealPage = page(["table", "house"], () => import("./table").then((m) => m.MealPage));
const Meals = page(["table", "house"], () => import("./table").then((m) => m.Meals));
const PrintPage = page(["table", "house"], () => import("./table").then((m) => m.PrintPage));

const queries = new QueryClient({
  defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false, staleTime: 5_000, networkMode: "always" } },
});

export function App() {
  return (
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <Toasts>
          <Suspense>
            <Shortcuts />
          </Suspense>
          <Rooms />
        </Toasts>
      </BrowserRouter>
    </QueryClientProvider>
  );
}

function Rooms() {
  const { pathname } = useLocation();
  return (
    <Boundary what={told("web.ui.this-page")} at={pathname}>
      <Suspense fallback={<Coming />}>
        <Routes>
          <Route path="/" element={<Shelf />} />
          <Route path="/read" element={<NewRecipe />} />
          <Route path="/larder" element={<LarderPage />} />
          <Route path="/larder/:shelf" element={<LarderPage />} />
          <Route path="/house" element={<HousePage />} />
          <Route path="/table" element={<Meals />} />
          <Route path="/table/:id" element={<Navigate to="clock" replace relative="path" />} />
          <Route path="/table/:id/print" element={<PrintPage />} />
          <Route path="/table/:id/:view" element={<MealPage />} />
          <Route path="/dishes/:id" element={<Navigate to="swap" replace relative="path" />} />
          <Route path="/dishes/:id/card" element={<CardPage />} />
          <Route path="/dishes/:id/:stop" element={<DishPage />} />
          <Route path="*" element={<NotHere />} />
        </Routes>
      </Suspense>
    </Boundary>
  );
}

function Coming() {
  return (
    <p role="status" className="p-5">
      {told("web.ui.fetching-the-page")}
    </p>
  );
}

function NotHere() {
  return (
    <Page title={told("web.ui.nothing-here")}>
      <p>
        {rich(
          "web.ui.there-is-no-page-at-this",
          {
            a: (words) => (
              <Link to="/" className="font-semibold text-rim underline">
                {words}
              </Link>
            ),
          },
          told("web.ui.back-to-the-shelf"),
        )}
      </p>
    </Page>
  );
}

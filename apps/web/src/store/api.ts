import type {
  ChangeDutyRequest,
  ChangeHookUpRequest,
  CompanyView,
  ErrorBody,
  JobName,
  JobView,
  LineView,
  ModelView,
  PickRequest,
  PositionSummary,
  PositionView,
  SessionView,
  SignInOptionsView,
  WalkListPreview,
} from '@grevik/contracts';
import type { HookUpChoices, PositionDuty } from '@grevik/core';
import {
  type BaseQueryFn,
  type FetchBaseQueryError,
  createApi,
  fetchBaseQuery,
} from '@reduxjs/toolkit/query/react';
import { kept } from './failure';
import { TAB_HEADER } from './tab';
import type { Write } from './waiting-writes';

/** A change to one position of a line that is open; what it was made from where the whole is sent. */
type Change<T> = T & { id: string; lineId: string };

const ask = fetchBaseQuery({
  baseUrl: `${window.location.origin}/api`,
  headers: TAB_HEADER,
});

/** Waits before a question is asked again that found no server: of several, another answers at once. */
const AGAIN_MS = [200, 800];

/** Asks; what is only read is asked again where the connection was lost while there is a network. */
const askAgain: typeof ask = async (request, context, options) => {
  let answer = await ask(request, context, options);
  for (const wait of typeof request === 'string' ? AGAIN_MS : []) {
    if (answer.error?.status !== 'FETCH_ERROR' || !navigator.onLine || context.signal.aborted) break;
    await new Promise((resolve) => setTimeout(resolve, wait));
    answer = await ask(request, context, options);
  }
  return answer;
};

/** Ask who is signed in: an answer that nobody is does not make them ask again, which would never end. */
const ASKS_WHO = new Set(['signIn', 'session']);

/** Asks the server; where the session has ended meanwhile, the sign-in comes up in place, at the same address. */
const askSignedIn: BaseQueryFn<string | Write, unknown, FetchBaseQueryError> = async (
  request,
  context,
  options,
) => {
  const answer = await askAgain(request, context, options);
  if (typeof request === 'string' && answer.error?.status === 'FETCH_ERROR') {
    const data = await keptOnDevice(request);
    if (data !== undefined) return { data };
  }
  if (typeof request !== 'string' && answer.error?.status === 'FETCH_ERROR') {
    if (await isKeptForLater(request, context.getState())) return { error: kept() };
  }
  const body = answer.error?.data as ErrorBody | undefined;
  if (body?.error?.code === 'signed-out' && !ASKS_WHO.has(context.endpoint))
    context.dispatch(api.util.invalidateTags(['Session']));
  return answer;
};

/** What this device keeps of an answer, where the server does not answer. */
async function keptOnDevice(path: string): Promise<unknown> {
  try {
    return await (await import('./kept-answers')).keptAnswer(path);
  } catch {
    return undefined;
  }
}

/** Whether a write that found no server was put on this device, to be sent later. */
async function isKeptForLater(request: Write, state: unknown): Promise<boolean> {
  try {
    const ownerId = api.endpoints.session.select()(state as never).data?.session?.person.id;
    if (ownerId === undefined) return false;
    return await (await import('./waiting-writes')).keepWrite(request, ownerId);
  } catch {
    return false;
  }
}

/** What may be another after something that waited on the device was stored. */
export const WRITTEN_TAGS = [
  'StartUp',
  'Samples',
  'Mine',
  'Rounds',
  'Due',
  'History',
  'Line',
  'Jobs',
  'Orders',
  'Company',
  'Budget',
  'Drills',
] as const;

/** Of a query about more than one job, position or line: whatever is told of any of them reaches it. */
export const ALL = 'all';

const TAG_TYPES = [
  'Session',
  'Company',
  'Catalogue',
  'Jobs',
  'Line',
  'History',
  'Mine',
  'People',
  'Orders',
  'StartUp',
  'Samples',
  'Devices',
  'Station',
  'OwnerPages',
  'Due',
  'Rounds',
  'Budget',
  'Drills',
  'SignIn',
  'Tasks',
] as const;
export type Tag = (typeof TAG_TYPES)[number];

/** The server's state, as the screens see it. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: askSignedIn,
  tagTypes: TAG_TYPES,
  endpoints: (build) => ({
    session: build.query<{ session: SessionView | null; doors: SignInOptionsView }, void>({
      query: () => 'session',
      providesTags: ['Session'],
    }),
    company: build.query<CompanyView, void>({
      query: () => 'company',
      providesTags: ['Session', { type: 'Company', id: ALL }],
    }),
    catalogue: build.query<ModelView[], void>({
      query: () => 'catalogue',
      providesTags: ['Session', { type: 'Catalogue', id: ALL }],
    }),
    jobNames: build.query<JobName[], void>({
      query: () => 'jobs/names',
      providesTags: [{ type: 'Jobs', id: ALL }, 'Session'],
    }),
    job: build.query<JobView, string>({
      query: (id) => `jobs/${id}`,
      providesTags: (_job, _error, id) => [{ type: 'Jobs', id }],
    }),
    jobPositions: build.query<PositionSummary[], string>({
      query: (id) => `jobs/${id}/positions`,
      providesTags: (_positions, _error, id) => [{ type: 'Jobs', id }],
    }),
    line: build.query<LineView, string>({
      query: (id) => `lines/${id}`,
      // A line may be megabytes: frozen here, the store does not walk through all of it to freeze it or to compare it with the last.
      transformResponse: (line: LineView) => Object.freeze(line),
      structuralSharing: false,
      providesTags: (line, _error, id) => [
        { type: 'Line', id },
        { type: 'Line', id: line?.jobId },
      ],
    }),
    createJob: build.mutation<JobView, { name: string }>({
      query: (body) => ({ url: 'jobs', method: 'POST', body }),
      invalidatesTags: ['Jobs'],
    }),
    changeDuty: build.mutation<PositionView, Change<ChangeDutyRequest> & { base: PositionDuty }>({
      query: ({ id, lineId: _lineId, base, ...body }) => ({
        url: `positions/${id}/duty`,
        method: 'PUT',
        body,
        base: { ...body, duty: base },
      }),
      onQueryStarted: keepInLine,
      invalidatesTags: ['History', 'Mine'],
    }),
    changeHookUp: build.mutation<PositionView, Change<ChangeHookUpRequest> & { base: HookUpChoices }>({
      query: ({ id, lineId: _lineId, base, ...body }) => ({
        url: `positions/${id}/hook-up`,
        method: 'PUT',
        body,
        base: { ...body, hookUp: base },
      }),
      onQueryStarted: keepInLine,
      invalidatesTags: ['History', 'Mine'],
    }),
    pick: build.mutation<PositionView, Change<PickRequest>>({
      query: ({ id, lineId: _lineId, ...body }) => ({ url: `positions/${id}/pick`, method: 'PUT', body }),
      onQueryStarted: keepInLine,
      invalidatesTags: ['Jobs', 'History', 'Mine'],
    }),
    unpick: build.mutation<PositionView, Change<{ version: number }>>({
      query: ({ id, lineId: _lineId, ...body }) => ({ url: `positions/${id}/pick`, method: 'DELETE', body }),
      onQueryStarted: keepInLine,
      invalidatesTags: ['Jobs', 'History', 'Mine'],
    }),
    previewWalkList: build.mutation<WalkListPreview, { jobId: string; text: string }>({
      query: ({ jobId, text }) => ({
        url: `jobs/${jobId}/walk-list/preview`,
        method: 'POST',
        body: { text },
      }),
    }),
  }),
});

interface Started {
  dispatch: (action: never) => unknown;
  queryFulfilled: Promise<{ data: PositionView }>;
}

/** Puts the changed position into the open line at once; after a refusal the line is read again, since somebody else changed it. */
export async function keepInLine(
  { lineId }: { lineId: string },
  { dispatch, queryFulfilled }: Started,
): Promise<void> {
  try {
    const { data } = await queryFulfilled;
    dispatch(
      api.util.updateQueryData('line', lineId, (line) => {
        line.positions = line.positions.map((position) => (position.id === data.id ? data : position));
      }) as never,
    );
  } catch {
    dispatch(api.util.invalidateTags([{ type: 'Line', id: lineId }]) as never);
  }
}

export const {
  useSessionQuery,
  useCompanyQuery,
  useCatalogueQuery,
  useJobNamesQuery,
  useJobQuery,
  useJobPositionsQuery,
  useLineQuery,
  useCreateJobMutation,
  useChangeDutyMutation,
  useChangeHookUpMutation,
  usePickMutation,
  useUnpickMutation,
  usePreviewWalkListMutation,
} = api;

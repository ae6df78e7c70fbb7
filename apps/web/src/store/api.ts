import type {
  ChangeDutyRequest,
  CompanyView,
  JobView,
  LineView,
  ModelView,
  PickRequest,
  PositionView,
  WalkListPreview,
  WalkListTaken,
} from '@grevik/contracts';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';

/** A change to one position of a line that is open. */
type Change<T> = T & { id: string; lineId: string };

/** The server's state, as the screens see it. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: `${window.location.origin}/api` }),
  tagTypes: ['Jobs', 'Line'],
  endpoints: (build) => ({
    company: build.query<CompanyView, void>({ query: () => 'company' }),
    catalogue: build.query<ModelView[], void>({ query: () => 'catalogue' }),
    jobs: build.query<JobView[], void>({ query: () => 'jobs', providesTags: ['Jobs'] }),
    job: build.query<JobView, string>({ query: (id) => `jobs/${id}`, providesTags: ['Jobs'] }),
    line: build.query<LineView, string>({
      query: (id) => `lines/${id}`,
      providesTags: (_line, _error, id) => [{ type: 'Line', id }],
    }),
    createJob: build.mutation<JobView, { name: string }>({
      query: (body) => ({ url: 'jobs', method: 'POST', body }),
      invalidatesTags: ['Jobs'],
    }),
    changeDuty: build.mutation<PositionView, Change<ChangeDutyRequest>>({
      query: ({ id, lineId: _lineId, ...body }) => ({ url: `positions/${id}/duty`, method: 'PUT', body }),
      onQueryStarted: keepInLine,
    }),
    pick: build.mutation<PositionView, Change<PickRequest>>({
      query: ({ id, lineId: _lineId, ...body }) => ({ url: `positions/${id}/pick`, method: 'PUT', body }),
      onQueryStarted: keepInLine,
      invalidatesTags: ['Jobs'],
    }),
    unpick: build.mutation<PositionView, Change<{ version: number }>>({
      query: ({ id, lineId: _lineId, ...body }) => ({ url: `positions/${id}/pick`, method: 'DELETE', body }),
      onQueryStarted: keepInLine,
      invalidatesTags: ['Jobs'],
    }),
    previewWalkList: build.mutation<WalkListPreview, { jobId: string; text: string }>({
      query: ({ jobId, text }) => ({
        url: `jobs/${jobId}/walk-list/preview`,
        method: 'POST',
        body: { text },
      }),
    }),
    takeWalkList: build.mutation<WalkListTaken, { jobId: string; text: string; rows: number[] }>({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/walk-list`, method: 'POST', body }),
      invalidatesTags: ['Jobs', 'Line'],
    }),
  }),
});

interface Started {
  dispatch: (action: never) => unknown;
  queryFulfilled: Promise<{ data: PositionView }>;
}

/** Puts the changed position into the open line at once; after a refusal the line is read again, since somebody else changed it. */
async function keepInLine(
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
  useCompanyQuery,
  useCatalogueQuery,
  useJobsQuery,
  useJobQuery,
  useLineQuery,
  useCreateJobMutation,
  useChangeDutyMutation,
  usePickMutation,
  useUnpickMutation,
  usePreviewWalkListMutation,
  useTakeWalkListMutation,
} = api;

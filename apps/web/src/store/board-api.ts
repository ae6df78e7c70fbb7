import type { BoardView, JobOutlookView, JobListing } from '@grevik/contracts';
import { ALL, api } from './api';

const ofJob = (id: string) => (['Jobs', 'Orders', 'Line', 'History'] as const).map((type) => ({ type, id }));

/** The list of jobs, and jobs at a glance. */
const boardApi = api.injectEndpoints({
  endpoints: (build) => ({
    jobListings: build.query<JobListing[], void>({
      query: () => 'jobs/listings',
      providesTags: [{ type: 'Jobs', id: ALL }, 'Session'],
    }),
    board: build.query<BoardView, string>({
      query: (id) => `jobs/${id}/board`,
      // A job may be megabytes: frozen here, the store does not walk through all of it to freeze it.
      transformResponse: (board: BoardView) => Object.freeze(board),
      structuralSharing: false,
      providesTags: (_job, _error, id) => ofJob(id),
    }),
    jobOutlook: build.query<JobOutlookView, string>({
      query: (id) => `jobs/${id}/outlook`,
      providesTags: (_job, _error, id) => ofJob(id),
    }),
    archiveJob: build.mutation<void, { id: string; archived: boolean }>({
      query: ({ id, archived }) => ({ url: `jobs/${id}/archived`, method: 'PUT', body: { archived } }),
      invalidatesTags: ['Jobs', 'Mine'],
    }),
  }),
});

export const { useJobListingsQuery, useBoardQuery, useJobOutlookQuery, useArchiveJobMutation } = boardApi;

import type { BudgetRequest, BudgetView, Changed, LifeBasisView } from '@grevik/contracts';
import type { Wets } from '@grevik/core';
import { ALL, api } from './api';

const ofJob = (jobId: string | undefined): string => (jobId === undefined ? '' : `?jobId=${jobId}`);

/** Budgets of replacements, of the company or of a job. */
const budgetApi = api.injectEndpoints({
  endpoints: (build) => ({
    budget: build.query<BudgetView, string | undefined>({
      query: (jobId) => `budget${ofJob(jobId)}`,
      providesTags: [{ type: 'Budget', id: ALL }, 'Session'],
    }),
    lifeBasis: build.query<LifeBasisView, string>({
      query: (positionId) => `positions/${positionId}/life`,
      providesTags: (_life, _error, id) => [{ type: 'Budget', id }, 'Session'],
    }),
    changeBudget: build.mutation<Changed, BudgetRequest>({
      query: (body) => ({ url: 'budget', method: 'PUT', body }),
      invalidatesTags: ['Budget', 'Mine'],
    }),
    setWets: build.mutation<Changed, { positionId: string; wets: Wets | undefined }>({
      query: ({ positionId, wets }) => ({
        url: `positions/${positionId}/wets`,
        method: 'PUT',
        body: { wets },
      }),
      invalidatesTags: ['Budget', 'Mine'],
    }),
  }),
});

export const { useBudgetQuery, useLifeBasisQuery, useChangeBudgetMutation, useSetWetsMutation } = budgetApi;

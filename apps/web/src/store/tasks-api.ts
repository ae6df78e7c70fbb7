import type { TaskView } from '@grevik/contracts';
import { ALL, api } from './api';

/** What the servers do by themselves. */
const tasksApi = api.injectEndpoints({
  endpoints: (build) => ({
    tasks: build.query<TaskView[], void>({
      query: () => 'tasks',
      providesTags: [{ type: 'Tasks', id: ALL }, 'Session'],
    }),
    cancelTask: build.mutation<undefined, string>({
      query: (id) => ({ url: `tasks/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Tasks'],
    }),
    beginTaskAgain: build.mutation<undefined, string>({
      query: (id) => ({ url: `tasks/${id}/again`, method: 'POST' }),
      invalidatesTags: ['Tasks'],
    }),
  }),
});

export const { useTasksQuery, useCancelTaskMutation, useBeginTaskAgainMutation } = tasksApi;

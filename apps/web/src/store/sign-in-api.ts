import type {
  NewPasswordLinkView,
  NewPasswordRequest,
  OpenSessionView,
  PasswordLinkOfferView,
  RecoveryCodesView,
  SecondFactorOfferView,
  SecondFactorRequest,
  SecondFactorView,
} from '@grevik/contracts';
import { api } from './api';

/** What belongs to one’s own sign-in, and the help an owner gives with another’s. */
const signInApi = api.injectEndpoints({
  endpoints: (build) => ({
    openSessions: build.query<OpenSessionView[], void>({
      query: () => 'session/all',
      providesTags: ['SignIn', 'Session'],
    }),
    endSession: build.mutation<undefined, string>({
      query: (id) => ({ url: `session/all/${id}`, method: 'DELETE' }),
      invalidatesTags: ['SignIn'],
    }),
    secondFactor: build.query<SecondFactorView, void>({
      query: () => 'session/second-factor',
      providesTags: ['SignIn', 'Session'],
    }),
    offerSecondFactor: build.mutation<SecondFactorOfferView, void>({
      query: () => ({ url: 'session/second-factor', method: 'POST' }),
    }),
    confirmSecondFactor: build.mutation<RecoveryCodesView, SecondFactorRequest>({
      query: (body) => ({ url: 'session/second-factor', method: 'PUT', body }),
      invalidatesTags: ['SignIn'],
    }),
    endSecondFactor: build.mutation<undefined, SecondFactorRequest>({
      query: (body) => ({ url: 'session/second-factor', method: 'DELETE', body }),
      invalidatesTags: ['SignIn'],
    }),
    passwordLink: build.query<PasswordLinkOfferView, string>({
      query: (token) => ({ url: 'session/new-password/look', method: 'POST', body: { token } }),
    }),
    usePasswordLink: build.mutation<undefined, NewPasswordRequest>({
      query: (body) => ({ url: 'session/new-password', method: 'POST', body }),
      invalidatesTags: ['Session'],
    }),
    makePasswordLink: build.mutation<NewPasswordLinkView, string>({
      query: (id) => ({ url: `people/${id}/password-link`, method: 'POST' }),
    }),
    removeSecondFactor: build.mutation<undefined, string>({
      query: (id) => ({ url: `people/${id}/second-factor`, method: 'DELETE' }),
    }),
  }),
});

export const {
  useOpenSessionsQuery,
  useEndSessionMutation,
  useSecondFactorQuery,
  useOfferSecondFactorMutation,
  useConfirmSecondFactorMutation,
  useEndSecondFactorMutation,
  usePasswordLinkQuery,
  useUsePasswordLinkMutation,
  useMakePasswordLinkMutation,
  useRemoveSecondFactorMutation,
} = signInApi;

/** Words of what the servers do by themselves. */
export const tasks = {
  tasks: {
    title: 'Background tasks',
    body: 'What Grevik’s servers are doing by themselves. It goes on when a server is restarted.',
    none: 'Nothing has run yet. Quote requests, files, imports, and jobs judged again after a change of the catalogue or the house rules, appear here.',
    task: 'Task',
    state: 'State',
    added: 'Added',
    of: '{{done}} of {{total}}',
    tries: 'tried {{count}} times',
    cancel: 'Cancel',
    adding: 'Adding the task …',
    wasCancelled: 'Cancelled.',
    file: 'Download {{name}} ({{kB}} kB)',
    again: 'Start again',
    kinds: {
      quote: 'Quote request to {{what}}',
      'judge-jobs': 'Judge {{what}} again',
      'budget-file': 'Write the budget of {{what}}',
      'job-file': 'Write {{what}} to a file',
      'job-import': 'Import {{what}}',
    },
    states: {
      waiting: 'waiting',
      running: 'running',
      done: 'done',
      failed: 'failed',
      cancelled: 'cancelled',
    },
  },
};

// What Umzug extends of a library for programs on the command line, which Grevik's migrations are not.
export const CommandLineAction = Object;
export const CommandLineParser = Object;

// Jest draws nothing: a sheet of styles is an empty module to it.
export {};

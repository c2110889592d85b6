// Every rule of the job tells its reasons in sentences.
global using Metaplant.Core.Words;

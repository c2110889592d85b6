// Reasons are told in sentences here too.
global using Metaplant.Core.Words;

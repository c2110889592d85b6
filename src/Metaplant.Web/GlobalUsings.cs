// What the core says in sentences goes out as sentences, told by whoever asked.
global using Metaplant.Core.Words;

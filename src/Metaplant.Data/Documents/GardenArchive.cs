using System.IO.Compression;
using Metaplant.Core.Sums;
using Metaplant.Data.Photos;
using Microsoft.EntityFrameworkCore;

namespace Metaplant.Data.Documents;

/// <summary>A garden with its photographs as one zip archive: garden.json and a folder photos.</summary>
public static class GardenArchive
{
    /// <summary>Largest archive or document taken in, bytes.</summary>
    public const long LargestFile = 1L << 30;

    /// <summary>Largest document, unpacked, bytes.</summary>
    private const int LargestDocument = 100_000_000;

    private const int MostPhotographs = 20_000;
    private const string DocumentName = "garden.json";
    private const string PhotoPart = "photos/";

    /// <summary>Writes the archive to a stream. A photograph whose file is gone is left out.</summary>
    public static async Task WriteAsync(GardenContext garden, PhotoFolder photos, Stream to, CancellationToken cancel = default)
    {
        var document = await garden.ToDocumentAsync(cancel);
        await using var zip = await ZipArchive.CreateAsync(to, ZipArchiveMode.Create, leaveOpen: true, entryNameEncoding: null, cancel);
        await Put(DocumentName, new MemoryStream(document.ToJson()), CompressionLevel.Optimal);
        foreach (var photo in document.Photographs)
        {
            foreach (var small in (bool[])[false, true])
            {
                // Pictures are compressed already.
                if (photos.Find(photo.File, small) is { } path) await Put(PhotoPart + Path.GetFileName(path), File.OpenRead(path), CompressionLevel.NoCompression);
            }
        }

        async Task Put(string name, Stream from, CompressionLevel level)
        {
            await using var source = from;
            await using var entry = await zip.CreateEntry(name, level).OpenAsync(cancel);
            await source.CopyToAsync(entry, cancel);
        }
    }

    /// <summary>Reads a document or an archive, whichever the file is. The photographs stay in it until <see cref="UnpackAsync"/>.</summary>
    public static async Task<Outcome<GardenRows>> ReadAsync(Stream file, CancellationToken cancel = default)
    {
        if (!IsZip(file)) return file.Length > LargestDocument ? TooLarge() : DocumentReading.Read(await BytesAsync(file, cancel));
        try
        {
            await using var zip = await ZipArchive.CreateAsync(file, ZipArchiveMode.Read, leaveOpen: true, entryNameEncoding: null, cancel);
            if (zip.GetEntry(DocumentName) is not { } entry) return new Problem("document", $"There is no {DocumentName} in this archive.");
            if (entry.Length > LargestDocument || zip.Entries.Count > MostPhotographs * 2) return TooLarge();
            await using var document = await entry.OpenAsync(cancel);
            return DocumentReading.Read(await BytesAsync(document, cancel));
        }
        catch (InvalidDataException)
        {
            return new Problem("document", "The archive is damaged or cut short.");
        }
    }

    /// <summary>Names of the photographs that the file brings.</summary>
    public static async Task<IReadOnlySet<string>> PhotographsAsync(Stream file, CancellationToken cancel = default)
    {
        if (!IsZip(file)) return new HashSet<string>();
        await using var zip = await ZipArchive.CreateAsync(file, ZipArchiveMode.Read, leaveOpen: true, entryNameEncoding: null, cancel);
        return zip.Entries.Select(e => e.FullName).Where(n => n.StartsWith(PhotoPart, StringComparison.Ordinal) && !n.EndsWith(PhotoFolder.SmallEnd, StringComparison.Ordinal)).Select(n => n[PhotoPart.Length..].Split('.')[0]).ToHashSet(StringComparer.Ordinal);
    }

    /// <summary>Lays the photographs that the rows name beside the garden; one that is there already, or is no photograph of ours, is not laid there. Bounded in size, whatever the archive says.</summary>
    public static async Task UnpackAsync(Stream file, GardenRows rows, PhotoFolder photos, CancellationToken cancel = default)
    {
        if (!IsZip(file)) return;
        await using var zip = await ZipArchive.CreateAsync(file, ZipArchiveMode.Read, leaveOpen: true, entryNameEncoding: null, cancel);
        foreach (var name in rows.Photos.Select(p => p.File))
        {
            if (photos.Find(name, thumbnail: false) is not null) continue;
            var (large, small) = (await OneAsync(zip, name + PhotoFolder.LargeEnd, cancel), await OneAsync(zip, name + PhotoFolder.SmallEnd, cancel));
            if (large is not null && small is not null && PhotoFolder.IsOurs(large) && PhotoFolder.IsOurs(small)) await photos.PutAsync(name, large, small, cancel);
        }
    }

    private static async Task<byte[]?> OneAsync(ZipArchive zip, string name, CancellationToken cancel)
    {
        if (zip.GetEntry(PhotoPart + name) is not { Length: <= PhotoFolder.LargestFile } entry) return null;
        try
        {
            await using var stream = await entry.OpenAsync(cancel);
            return await BytesAsync(stream, cancel);
        }
        catch (InvalidDataException)
        {
            // Damaged in the archive: as good as not there, which is told before anything is kept.
            return null;
        }
    }

    private static bool IsZip(Stream file)
    {
        Span<byte> head = stackalloc byte[2];
        file.Position = 0;
        var zip = file.ReadAtLeast(head, 2, throwOnEndOfStream: false) == 2 && head[0] == 'P' && head[1] == 'K';
        file.Position = 0;
        return zip;
    }

    /// <summary>All of it, but never more than a document may have, whatever length it claims.</summary>
    private static async Task<byte[]> BytesAsync(Stream from, CancellationToken cancel)
    {
        using var bytes = new MemoryStream();
        var buffer = new byte[81920];
        for (int read; (read = await from.ReadAsync(buffer, cancel)) > 0;)
        {
            if (bytes.Length + read > LargestDocument) throw new InvalidDataException("Larger than it says.");
            bytes.Write(buffer, 0, read);
        }

        return bytes.ToArray();
    }

    private static Problem TooLarge() => new("document", "The file is larger than a garden can be.");
}

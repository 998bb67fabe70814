using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Formats.Photos;
using AmberSpoon.Server.Problems;
using AmberSpoon.Server.Stations.Bakes;
using AmberSpoon.Store.Backups;

namespace AmberSpoon.Server.Stations.House;

/// <summary>Keeps photos beside the file: the picture is written first, and then told of.</summary>
internal sealed class PhotoDesk(BakeDesk bakes, HouseFolder house)
{
    private const int MostPhotos = 12;

    /// <summary>Written anew, without where it was taken.</summary>
    /// <param name="bake">Which bake.</param>
    /// <param name="commandId">Made by the client: sent again, it is kept once; null for a command of its own.</param>
    /// <param name="file">JPEG, PNG or WebP.</param>
    /// <param name="cancel">Ends it before anything is kept.</param>
    /// <exception cref="ProblemException">400 for what is no photo; 404; 409 where there are enough.</exception>
    public async Task<BakeView> Keep(Guid bake, Guid? commandId, ReadOnlyMemory<byte> file, CancellationToken cancel)
    {
        BakeView seen = await bakes.View(bake, cancel);
        if (seen.Table!.Photos.Count >= MostPhotos)
        {
            throw ProblemException.Conflict("photo", $"A bake keeps {MostPhotos} photos: take one away first.");
        }

        byte[] clean = Cleaned(file);
        Guid photo = Guid.CreateVersion7();
        Directory.CreateDirectory(house.Photos);
        string path = house.PhotoOf(photo);
        await File.WriteAllBytesAsync(path, clean, cancel);
        BakeView view = await bakes.Add(bake, commandId ?? Guid.CreateVersion7(), new Pictured(photo), cancel);
        if (view.Table!.Photos.All(kept => kept.Id != photo))
        {
            // Sent twice: the first one is kept.
            File.Delete(path);
        }

        return view;
    }

    /// <returns>The file of a photo of this bake.</returns>
    /// <exception cref="ProblemException">404.</exception>
    public async Task<string> Find(Guid bake, Guid photo, CancellationToken cancel)
    {
        BakeState state = await bakes.State(bake, cancel);
        string path = house.PhotoOf(photo);
        return state.Table.Photos.Any(kept => kept.Photo == photo) && File.Exists(path)
            ? Path.GetFullPath(path)
            : throw ProblemException.NotFound("That photo is not there.");
    }

    /// <summary>A photo that was taken back is gone, not only out of sight.</summary>
    public async Task<BakeView> Remove(Guid bake, Guid photo, CancellationToken cancel)
    {
        BakeState state = await bakes.State(bake, cancel);
        if (state.Table.Photos.FirstOrDefault(kept => kept.Photo == photo) is not { Seq: > 0 } found)
        {
            return await bakes.View(bake, cancel);
        }

        BakeView view = await bakes.Add(bake, Guid.CreateVersion7(), new Corrected(found.Seq), cancel);
        File.Delete(house.PhotoOf(photo));
        return view;
    }

    private static byte[] Cleaned(ReadOnlyMemory<byte> file)
    {
        try
        {
            return PhotoFile.Clean(file);
        }
        catch (PhotoException refused)
        {
            throw ProblemException.InvalidField("photo", refused.Message);
        }
    }
}

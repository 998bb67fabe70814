using SkiaSharp;

namespace AmberSpoon.Formats.Photos;

/// <summary>
/// Makes of a photo as a phone takes it one as the log keeps it: upright, no larger than a page needs, and written anew, so that nothing
/// that came with it is kept: not where it was taken, not by whom.
/// </summary>
public static class PhotoFile
{
    /// <summary>A phone's photos are smaller, bytes.</summary>
    public const int MostBytes = 12 * 1024 * 1024;

    /// <summary>Its longer side, pixels.</summary>
    public const int MostSide = 1600;

    /// <summary>A few kilobytes can unpack to gigabytes: what says it is larger is not unpacked.</summary>
    private const long MostPixels = 80_000_000;
    private const int Quality = 82;

    /// <summary>Whether the log could have written this file.</summary>
    /// <param name="path">Of the file.</param>
    public static bool IsOne(string path)
    {
        using SKCodec? codec = SKCodec.Create(path);
        return codec is { EncodedFormat: SKEncodedImageFormat.Jpeg, Info: { Width: > 0 and <= MostSide, Height: > 0 and <= MostSide } };
    }

    /// <param name="file">JPEG, PNG or WebP.</param>
    /// <returns>A JPEG without anything beside the picture.</returns>
    /// <exception cref="PhotoException">It is none, or too large.</exception>
    public static byte[] Clean(ReadOnlyMemory<byte> file)
    {
        if (file.Length > MostBytes)
        {
            throw new PhotoException($"A photo has {MostBytes / (1024 * 1024)} MB at most.");
        }

        using var data = SKData.CreateCopy(file.Span);
        using SKCodec? codec = SKCodec.Create(data);
        if (codec is null || codec.EncodedFormat is not (SKEncodedImageFormat.Jpeg or SKEncodedImageFormat.Png or SKEncodedImageFormat.Webp))
        {
            throw new PhotoException("That is no photo this log can keep: send a JPEG, a PNG or a WebP.");
        }

        SKImageInfo info = codec.Info;
        if (info.Width < 1 || info.Height < 1 || (long)info.Width * info.Height > MostPixels)
        {
            throw new PhotoException("That photo has too many pixels: make it smaller first.");
        }

        using SKBitmap? bitmap = SKBitmap.Decode(codec);
        if (bitmap is null)
        {
            throw new PhotoException("That photo is damaged.");
        }

        double shrink = Math.Min(1, (double)MostSide / Math.Max(info.Width, info.Height));
        (int width, int height) = (Math.Max(1, (int)Math.Round(info.Width * shrink)), Math.Max(1, (int)Math.Round(info.Height * shrink)));
        bool isOnItsSide = codec.EncodedOrigin is SKEncodedOrigin.LeftTop or SKEncodedOrigin.RightTop or SKEncodedOrigin.RightBottom or SKEncodedOrigin.LeftBottom;
        using var upright = new SKBitmap(isOnItsSide ? height : width, isOnItsSide ? width : height, SKColorType.Rgba8888, SKAlphaType.Premul);
        using (var canvas = new SKCanvas(upright))
        {
            canvas.Clear(SKColors.White);
            Turn(canvas, codec.EncodedOrigin, width, height);
            using var image = SKImage.FromBitmap(bitmap);
            canvas.DrawImage(image, new SKRect(0, 0, width, height), new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
        }

        using SKImage whole = SKImage.FromBitmap(upright);
        using SKData written = whole.Encode(SKEncodedImageFormat.Jpeg, Quality);
        return written.ToArray();
    }

    /// <summary>As the camera was held (Exif orientation, from memory).</summary>
    private static void Turn(SKCanvas canvas, SKEncodedOrigin origin, int width, int height)
    {
        SKMatrix turn = origin switch
        {
            SKEncodedOrigin.TopRight => new SKMatrix(-1, 0, width, 0, 1, 0, 0, 0, 1),
            SKEncodedOrigin.BottomRight => new SKMatrix(-1, 0, width, 0, -1, height, 0, 0, 1),
            SKEncodedOrigin.BottomLeft => new SKMatrix(1, 0, 0, 0, -1, height, 0, 0, 1),
            SKEncodedOrigin.LeftTop => new SKMatrix(0, 1, 0, 1, 0, 0, 0, 0, 1),
            SKEncodedOrigin.RightTop => new SKMatrix(0, -1, height, 1, 0, 0, 0, 0, 1),
            SKEncodedOrigin.RightBottom => new SKMatrix(0, -1, height, -1, 0, width, 0, 0, 1),
            SKEncodedOrigin.LeftBottom => new SKMatrix(0, 1, 0, -1, 0, width, 0, 0, 1),
            _ => SKMatrix.Identity,
        };
        canvas.SetMatrix(turn);
    }
}

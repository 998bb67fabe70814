using System.Buffers.Binary;
using System.Text;
using AmberSpoon.Formats.Photos;
using SkiaSharp;
using Xunit;

namespace AmberSpoon.Formats.Tests.Photos;

public sealed class PhotoFileTests
{
    /// <summary>Red on its left half, blue on its right.</summary>
    private static byte[] Picture(int width, int height, SKEncodedImageFormat format)
    {
        using var bitmap = new SKBitmap(width, height);
        using (var canvas = new SKCanvas(bitmap))
        {
            canvas.Clear(SKColors.Blue);
            using var red = new SKPaint { Color = SKColors.Red };
            canvas.DrawRect(0, 0, width / 2f, height, red);
        }

        using SKImage image = SKImage.FromBitmap(bitmap);
        return image.Encode(format, 95).ToArray();
    }

    /// <summary>As a phone writes it: how it was held, and where it was taken.</summary>
    private static byte[] WithExif(byte[] jpeg, ushort orientation)
    {
        byte[] tiff =
        [
            .. "II*\0"u8, 8, 0, 0, 0, 2, 0,
            0x12, 0x01, 3, 0, 1, 0, 0, 0, (byte)orientation, 0, 0, 0,
            0x0E, 0x01, 2, 0, 12, 0, 0, 0, 38, 0, 0, 0,
            0, 0, 0, 0, .. "GPS at home\0"u8,
        ];
        byte[] payload = [.. "Exif\0\0"u8, .. tiff];
        byte[] size = new byte[2];
        BinaryPrimitives.WriteUInt16BigEndian(size, (ushort)(payload.Length + 2));
        return [jpeg[0], jpeg[1], 0xFF, 0xE1, .. size, .. payload, .. jpeg[2..]];
    }

    [Theory]
    [InlineData(SKEncodedImageFormat.Jpeg)]
    [InlineData(SKEncodedImageFormat.Png)]
    [InlineData(SKEncodedImageFormat.Webp)]
    public void A_photo_becomes_a_jpeg_no_larger_than_a_page_needs(SKEncodedImageFormat format)
    {
        using SKBitmap kept = SKBitmap.Decode(PhotoFile.Clean(Picture(3200, 2000, format)));
        Assert.Equal((1600, 1000), (kept.Width, kept.Height));
        using SKBitmap small = SKBitmap.Decode(PhotoFile.Clean(Picture(40, 30, format)));
        Assert.Equal((40, 30), (small.Width, small.Height));
        Assert.True(small.GetPixel(5, 15).Red > 200);
        Assert.True(small.GetPixel(35, 15).Blue > 200);
    }

    [Theory]
    [InlineData(1, 40, 20, 5, 10)]
    [InlineData(3, 40, 20, 35, 10)]
    [InlineData(6, 20, 40, 10, 5)]
    [InlineData(8, 20, 40, 10, 35)]
    public void It_is_upright_and_says_no_longer_where_it_was_taken(int orientation, int width, int height, int redX, int redY)
    {
        byte[] file = WithExif(Picture(40, 20, SKEncodedImageFormat.Jpeg), (ushort)orientation);
        Assert.Contains("GPS at home", Encoding.ASCII.GetString(file), StringComparison.Ordinal);
        byte[] clean = PhotoFile.Clean(file);
        string text = Encoding.ASCII.GetString(clean);
        Assert.DoesNotContain("GPS", text, StringComparison.Ordinal);
        Assert.DoesNotContain("Exif", text, StringComparison.Ordinal);
        using SKBitmap upright = SKBitmap.Decode(clean);
        Assert.Equal((width, height), (upright.Width, upright.Height));
        Assert.True(upright.GetPixel(redX, redY).Red > 180);
    }

    [Fact]
    public void What_is_no_photo_or_too_much_of_one_is_refused()
    {
        Assert.Throws<PhotoException>(() => PhotoFile.Clean(Array.Empty<byte>()));
        Assert.Throws<PhotoException>(() => PhotoFile.Clean(Encoding.UTF8.GetBytes("<svg xmlns='http://www.w3.org/2000/svg'/>")));
        Assert.Throws<PhotoException>(() => PhotoFile.Clean(Encoding.UTF8.GetBytes("GIF89a")));
        Assert.Throws<PhotoException>(() => PhotoFile.Clean(new byte[PhotoFile.MostBytes + 1]));

        // Small as a file, and 3.6 billion pixels.
        byte[] bomb = Picture(16, 16, SKEncodedImageFormat.Png);
        BinaryPrimitives.WriteInt32BigEndian(bomb.AsSpan(16), 60_000);
        BinaryPrimitives.WriteInt32BigEndian(bomb.AsSpan(20), 60_000);
        Assert.Throws<PhotoException>(() => PhotoFile.Clean(bomb));
    }
}

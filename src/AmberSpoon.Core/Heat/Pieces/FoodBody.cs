using AmberSpoon.Core.Heat.Shapes;
using AmberSpoon.Core.Heat.Solving;

namespace AmberSpoon.Core.Heat.Pieces;

/// <summary>
/// One piece of food of a given size that can be heated: <see cref="PieceBody"/> for chicken,
/// <see cref="VegetableBody"/> for a cut vegetable.
/// </summary>
public abstract record FoodBody
{
    /// <summary>Every side this many times as long; not a piece of this mass any more.</summary>
    public double SizeFactor { get; init; } = 1;

    /// <summary>Its proportions before it is stretched to its size.</summary>
    internal abstract CutShape Shape { get; }

    /// <summary>How its shape is stretched.</summary>
    internal abstract Point Stretch { get; }

    /// <summary>Of the oven's exchange with a piece that stands up in its air, what reaches this one.</summary>
    internal virtual double ExchangeShare => 1;

    /// <summary>The piece, meshed.</summary>
    /// <exception cref="HeatInputException">A size that is no piece.</exception>
    public abstract HeatBody At(GridLevel level);

    /// <summary>Length, width, height, volume and surface.</summary>
    public PieceSize Size()
    {
        HeatBody body = At(GridLevel.Normal);
        Point size = body.Mesh.Stretch.Stretched(Shape.Solid.Size);
        return new(1000 * size.X, 2 * 1000 * size.Y, 1000 * size.Z, body.VolumeM3 * 1e6, body.SurfaceM2 * 1e4);
    }
}

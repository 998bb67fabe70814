using System.Numerics;
using System.Runtime.CompilerServices;
using System.Runtime.InteropServices;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// Reads and writes several neighbouring cells at once. Unchecked: indices come from a mesh's blocks, and its padding
/// makes every neighbour a valid place.
/// </summary>
internal static class Lanes
{
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Vector<double> At(double[] values, int index) =>
        Vector.LoadUnsafe(ref MemoryMarshal.GetArrayDataReference(values), (nuint)index);

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static void Put(Vector<double> value, double[] values, int index) =>
        value.StoreUnsafe(ref MemoryMarshal.GetArrayDataReference(values), (nuint)index);

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Vector<float> At(float[] values, int index) =>
        Vector.LoadUnsafe(ref MemoryMarshal.GetArrayDataReference(values), (nuint)index);

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static void Put(Vector<float> value, float[] values, int index) =>
        value.StoreUnsafe(ref MemoryMarshal.GetArrayDataReference(values), (nuint)index);
}

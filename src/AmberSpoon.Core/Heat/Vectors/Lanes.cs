using System.Numerics;
using System.Runtime.CompilerServices;
using System.Runtime.InteropServices;
using System.Runtime.Intrinsics;

namespace AmberSpoon.Core.Heat.Vectors;

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

    /// <summary>Room for this many values in full runs, so that no loop has a rest.</summary>
    public static int Padded(int count) => (count + Vector<double>.Count - 1) / Vector<double>.Count * Vector<double>.Count;

    /// <summary>Looks up several places of a table at once.</summary>
    /// <param name="table">Two numbers for each place, one after the other.</param>
    /// <param name="places">Whole numbers from 0 up to the table's last place.</param>
    /// <param name="first">The first numbers.</param>
    /// <param name="second">The second ones.</param>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static void Pairs(double[] table, Vector<double> places, out Vector<double> first, out Vector<double> second)
    {
        ref double start = ref MemoryMarshal.GetArrayDataReference(table);
        if (Vector<double>.Count == 4)
        {
            // Four loads of two neighbours, then sorted: fewer than eight numbers gathered one by one.
            Vector256<double> wide = places.AsVector256();
            Vector128<double> a = Pair(ref start, wide.GetLower(), 0);
            Vector128<double> b = Pair(ref start, wide.GetLower(), 1);
            Vector128<double> c = Pair(ref start, wide.GetUpper(), 0);
            Vector128<double> d = Pair(ref start, wide.GetUpper(), 1);
            first = Vector256.Create(Vector128.Create(a.ToScalar(), b.ToScalar()), Vector128.Create(c.ToScalar(), d.ToScalar())).AsVector();
            second = Vector256.Create(Vector128.Create(a.GetElement(1), b.GetElement(1)), Vector128.Create(c.GetElement(1), d.GetElement(1))).AsVector();
        }
        else
        {
            Span<double> firsts = stackalloc double[Vector<double>.Count];
            Span<double> seconds = stackalloc double[Vector<double>.Count];
            for (int n = 0; n < firsts.Length; n++)
            {
                (firsts[n], seconds[n]) = (table[2 * (int)places[n]], table[(2 * (int)places[n]) + 1]);
            }

            (first, second) = (new(firsts), new(seconds));
        }
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static Vector128<double> Pair(ref double start, Vector128<double> places, int lane) =>
        Vector128.LoadUnsafe(ref start, 2 * (nuint)(uint)(int)places.GetElement(lane));
}

#!/usr/bin/env bash
# The same ellipsoid by finite elements (Debian's freefem++, libfreefem++ and gmsh) and by our engine, in one run on this
# machine. Prints the middle at 10, 20, 30 and 40 min and the seconds each took; meshing is not counted for either.
set -euo pipefail
cd "$(dirname "$0")"
for tool in gmsh FreeFem++; do
  command -v "$tool" >/dev/null || { echo "$tool is missing: apt-get install freefem++ libfreefem++ gmsh"; exit 0; }
done
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
export FF_LOADPATH=/usr/lib/freefem++

finite_elements() {
  local name=$1 size=$2 eighth=$3
  gmsh -3 -format msh2 -setnumber size "$size" -setnumber eighth "$eighth" -o "$work/mesh.msh" ellipsoid.geo >"$work/gmsh.log" 2>&1
  FreeFem++ -nw ellipsoid.edp "$work/mesh.msh" 10 >"$work/fem.log" 2>&1 || { cat "$work/fem.log" >&2; exit 1; }
  awk -v name="$name" '/^core/ { cores = cores sprintf(" %6.2f", $4) } /^nodes/ { printf "%-46s %6d nodes %s C %9.4f s\n", name, $2, cores, $4 }' "$work/fem.log"
}

finite_elements "finite elements, whole body" 0.00257 0
finite_elements "finite elements, an eighth, coarse" 0.004 1
finite_elements "finite elements, an eighth" 0.003 1
dotnet run --project ../AmberSpoon.Bench -c Release --no-restore -- outside

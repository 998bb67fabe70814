// An ellipsoid of 60 x 42 x 19 mm half-axes, in m, or an eighth of it between its mirror planes:
// gmsh -3 -format msh2 -setnumber size 0.003 -setnumber eighth 1
SetFactory("OpenCASCADE");
DefineConstant[ size = 0.003, eighth = 1 ];
Sphere(1) = {0, 0, 0, 1};
Dilate {{0, 0, 0}, {0.060, 0.042, 0.019}} { Volume{1}; }
If (eighth)
  Box(2) = {0, 0, 0, 0.1, 0.1, 0.1};
  BooleanIntersection(3) = { Volume{1}; Delete; }{ Volume{2}; Delete; };
EndIf
Mesh.MeshSizeMin = size;
Mesh.MeshSizeMax = size;
Physical Volume(1) = Volume{:};
Physical Surface(1) = Surface{:};

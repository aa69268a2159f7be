"""What figures are modelled with: shapes as distance fields, deformed, patterned, draped on a skeleton, carved to meshes."""

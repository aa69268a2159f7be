"""The sculptor that makes the demo army's meshes from signed-distance shapes."""

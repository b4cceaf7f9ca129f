"""The core: everything Vamos knows and computes, without a screen."""

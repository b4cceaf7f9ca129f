"""Reading sound and picture: probing, sound as arrays, frames by their time stamps."""

"""The web interface: create_app in app.py."""

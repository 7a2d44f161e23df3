"""A certificate made on this machine for its second door: nobody vouches for it, so its fingerprint is compared."""

from __future__ import annotations

import ipaddress
import os
from datetime import UTC, datetime, timedelta
from pathlib import Path
from typing import NamedTuple

from cryptography import x509
from cryptography.hazmat.primitives import hashes, serialization
from cryptography.hazmat.primitives.asymmetric import ec
from cryptography.x509.oid import ExtendedKeyUsageOID, NameOID

FILE = "door.pem"
"""Key and certificate, beside the database."""
DAYS = 365


class Certificate(NamedTuple):
    """Where key and certificate are, and what both screens show of them."""

    file: Path
    fingerprint: str
    """SHA-256 of the certificate, as browsers show it."""


def certificate_for(address: str, folder: Path) -> Certificate:
    """The certificate of this machine at an address: the one made before, as long as it holds; else a new one.

    Raises:
        OSError: where the folder cannot be written.
    """
    file = folder / FILE
    known = _read(file)
    if known is None or not _holds(known, address):
        known = _made(address, file)
    digits = known.fingerprint(hashes.SHA256()).hex().upper()
    return Certificate(file, ":".join(digits[at : at + 2] for at in range(0, len(digits), 2)))


def _read(file: Path) -> x509.Certificate | None:
    try:
        return x509.load_pem_x509_certificate(file.read_bytes())
    except (OSError, ValueError):
        return None


def _holds(known: x509.Certificate, address: str) -> bool:
    names = known.extensions.get_extension_for_class(x509.SubjectAlternativeName).value
    is_of_here = ipaddress.ip_address(address) in names.get_values_for_type(x509.IPAddress)
    return is_of_here and known.not_valid_after_utc > datetime.now(UTC) + timedelta(days=1)


def _made(address: str, file: Path) -> x509.Certificate:
    key = ec.generate_private_key(ec.SECP256R1())
    name = x509.Name([x509.NameAttribute(NameOID.COMMON_NAME, "Vasculum on this machine")])
    now = datetime.now(UTC)
    made = (
        x509.CertificateBuilder()
        .subject_name(name)
        .issuer_name(name)
        .public_key(key.public_key())
        .serial_number(x509.random_serial_number())
        .not_valid_before(now - timedelta(days=1))
        .not_valid_after(now + timedelta(days=DAYS))
        .add_extension(x509.SubjectAlternativeName([x509.IPAddress(ipaddress.ip_address(address))]), critical=False)
        .add_extension(x509.BasicConstraints(ca=False, path_length=None), critical=True)
        .add_extension(x509.ExtendedKeyUsage([ExtendedKeyUsageOID.SERVER_AUTH]), critical=False)
        .sign(key, hashes.SHA256())
    )
    secret = key.private_bytes(
        serialization.Encoding.PEM, serialization.PrivateFormat.PKCS8, serialization.NoEncryption()
    )
    unfinished = file.with_name(f"{file.name}.part")
    unfinished.unlink(missing_ok=True)
    with os.fdopen(os.open(unfinished, os.O_CREAT | os.O_EXCL | os.O_WRONLY, 0o600), "wb") as out:
        out.write(secret + made.public_bytes(serialization.Encoding.PEM))
    unfinished.replace(file)
    return made

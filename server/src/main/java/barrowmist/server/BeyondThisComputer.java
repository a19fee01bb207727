package barrowmist.server;

import barrowmist.server.web.LabAddresses;
import barrowmist.server.web.LabNames;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What the server needs when other devices reach it: HTTPS, by the lab's own certificate or by one that is made at the
 * first start, and whose word it takes for who calls when a proxy stands between.
 */
final class BeyondThisComputer {

    /** It guards nothing: the file's permissions do, and a password beside the file would be read with it. */
    private static final String PASSWORD = "barrowmist";

    private static final String ALIAS = "lab";
    /** Browsers take no server's certificate that is longer good than 825 days. */
    private static final int GOOD_DAYS = 800;

    private static final Duration RENEWED_BEFORE = Duration.ofDays(30);
    private static final Pattern HOST_NAME = Pattern.compile("[a-z][a-z0-9-]*(\\.[a-z0-9-]+)*");

    private final Map<String, String> environment;
    private final Path keys;

    /** @param keys where the certificate that is made is kept, with its key */
    BeyondThisComputer(Map<String, String> environment, Path keys) {
        this.environment = environment;
        this.keys = keys;
    }

    /**
     * Settings of the server, by their names in Spring Boot.
     *
     * @throws IOException with a sentence for the person who started it
     */
    Map<String, String> settings() throws IOException {
        Map<String, String> settings = new LinkedHashMap<>();
        String proxy = said("BARROWMIST_PROXY");
        if (!proxy.isEmpty()) {
            settings.put("server.forward-headers-strategy", "native");
            settings.put("server.tomcat.remoteip.internal-proxies", proxy);
        }
        boolean off = said("BARROWMIST_HTTPS").equalsIgnoreCase("off");
        if (!off && !LabAddresses.loopback(environment.getOrDefault("BARROWMIST_ADDRESS", "127.0.0.1"))) {
            settings.put("server.ssl.bundle", "lab");
            settings.putAll(said("BARROWMIST_CERTIFICATE").isEmpty() ? madeHere() : ownCertificate());
        }
        return settings;
    }

    private String said(String name) {
        return environment.getOrDefault(name, "").strip();
    }

    private Map<String, String> ownCertificate() throws IOException {
        String certificate = readable("BARROWMIST_CERTIFICATE");
        String key = readable("BARROWMIST_CERTIFICATE_KEY");
        return Map.of(
                "spring.ssl.bundle.pem.lab.keystore.certificate", certificate,
                "spring.ssl.bundle.pem.lab.keystore.private-key", key);
    }

    private String readable(String name) throws IOException {
        Path file = Path.of(said(name)).toAbsolutePath();
        if (!Files.isRegularFile(file) || !Files.isReadable(file)) {
            throw new IOException(name + " names no file that can be read: " + said(name));
        }
        return file.toUri().toString();
    }

    private Map<String, String> madeHere() throws IOException {
        if (!goodForAWhile()) {
            make();
        }
        return Map.of(
                "spring.ssl.bundle.jks.lab.keystore.location",
                keys.toUri().toString(),
                "spring.ssl.bundle.jks.lab.keystore.password",
                PASSWORD,
                "spring.ssl.bundle.jks.lab.keystore.type",
                "PKCS12");
    }

    private boolean goodForAWhile() {
        if (!Files.exists(keys)) {
            return false;
        }
        try (InputStream in = Files.newInputStream(keys)) {
            KeyStore store = KeyStore.getInstance("PKCS12");
            store.load(in, PASSWORD.toCharArray());
            X509Certificate kept = (X509Certificate) Objects.requireNonNull(store.getCertificate(ALIAS));
            return kept.getNotAfter().toInstant().isAfter(Instant.now().plus(RENEWED_BEFORE)) && namesAll(kept);
        } catch (IOException | GeneralSecurityException | NullPointerException e) {
            // half written, or not ours: made anew
            return false;
        }
    }

    /** Whether it is good for every name and address that this computer has today: a browser takes it for no other. */
    private boolean namesAll(X509Certificate kept) throws GeneralSecurityException {
        Set<String> named = Stream.ofNullable(kept.getSubjectAlternativeNames())
                .flatMap(Collection::stream)
                .map(n -> canonical(String.valueOf(n.get(1))))
                .collect(Collectors.toSet());
        return names().map(n -> canonical(n.substring(n.indexOf(':') + 1))).allMatch(named::contains);
    }

    /** One spelling of an address of the sixth version. */
    private static String canonical(String name) {
        try {
            return name.indexOf(':') < 0 ? name : InetAddress.getByName(name).getHostAddress();
        } catch (UnknownHostException e) {
            return name;
        }
    }

    /** By the tool that every JDK has. */
    private void make() throws IOException {
        Files.deleteIfExists(keys);
        Process tool = new ProcessBuilder(List.of(
                        Path.of(System.getProperty("java.home"), "bin", "keytool")
                                .toString(),
                        "-genkeypair",
                        "-keystore",
                        keys.toString(),
                        "-storetype",
                        "PKCS12",
                        "-storepass",
                        PASSWORD,
                        "-alias",
                        ALIAS,
                        "-keyalg",
                        "EC",
                        "-groupname",
                        "secp256r1",
                        "-validity",
                        Integer.toString(GOOD_DAYS),
                        "-dname",
                        "CN=Barrowmist lab",
                        "-ext",
                        "san=" + names().collect(Collectors.joining(",")),
                        "-ext",
                        "eku=serverAuth"))
                .redirectErrorStream(true)
                .start();
        String said = new String(tool.getInputStream().readAllBytes());
        try {
            if (tool.waitFor() != 0) {
                throw new IOException("No certificate could be made for HTTPS: " + said.strip());
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("Interrupted while a certificate was made", e);
        }
        if (Files.getFileStore(keys).supportsFileAttributeView("posix")) {
            Files.setPosixFilePermissions(keys, PosixFilePermissions.fromString("rw-------"));
        }
    }

    private Stream<String> names() {
        Stream<String> names = LabNames.of(said("BARROWMIST_HOSTS")).stream()
                .filter(n -> HOST_NAME.matcher(n).matches())
                .map(n -> "dns:" + n);
        Stream<String> addresses = LabAddresses.ofThisComputer().stream()
                .map(InetAddress::getHostAddress)
                .map(a -> "ip:" + a.replaceFirst("%.*", ""));
        return Stream.of(names, addresses, Stream.of("ip:127.0.0.1"))
                .flatMap(s -> s)
                .distinct();
    }
}

package barrowmist.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.security.KeyStore;
import java.security.cert.X509Certificate;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is set when other devices may reach the server. */
class BeyondThisComputerTest {

    private static final String EVERYWHERE = "0.0.0.0";

    @TempDir
    private Path data;

    private Path keys() {
        return data.resolve("lab.p12");
    }

    private Map<String, String> settings(Map<String, String> environment) throws IOException {
        return new BeyondThisComputer(environment, keys()).settings();
    }

    private X509Certificate made() throws Exception {
        KeyStore store = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(keys())) {
            store.load(in, "barrowmist".toCharArray());
        }
        return (X509Certificate) store.getCertificate("lab");
    }

    @Test
    void onItsOwnComputerNothingIsNeeded() throws IOException {
        assertThat(settings(Map.of())).isEmpty();
        assertThat(settings(Map.of("BARROWMIST_ADDRESS", "127.0.0.1"))).isEmpty();
        assertThat(settings(Map.of("BARROWMIST_ADDRESS", "::1"))).isEmpty();
        assertThat(keys()).doesNotExist();
    }

    @Test
    void theFirstStartMakesACertificateForEveryNameAndKeepsIt() throws Exception {
        Map<String, String> network = Map.of("BARROWMIST_ADDRESS", EVERYWHERE, "BARROWMIST_HOSTS", "lab.example, Kiln");
        assertThat(settings(network))
                .containsEntry("server.ssl.bundle", "lab")
                .containsEntry(
                        "spring.ssl.bundle.jks.lab.keystore.location",
                        keys().toUri().toString());
        X509Certificate first = made();
        assertThat(first.getSubjectAlternativeNames().stream().map(n -> n.get(1).toString()))
                .contains("localhost", "lab.example", "kiln", "127.0.0.1");
        assertThat(Duration.between(Instant.now(), first.getNotAfter().toInstant()))
                .isBetween(Duration.ofDays(700), Duration.ofDays(825));
        assertThat(first.getExtendedKeyUsage()).containsExactly("1.3.6.1.5.5.7.3.1");
        assertThat(Files.getPosixFilePermissions(keys()))
                .containsExactlyInAnyOrder(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE);
        settings(network);
        assertThat(made()).isEqualTo(first);
    }

    @Test
    void aNameThatIsNewMakesItAnew() throws Exception {
        settings(Map.of("BARROWMIST_ADDRESS", EVERYWHERE));
        X509Certificate first = made();
        settings(Map.of("BARROWMIST_ADDRESS", EVERYWHERE, "BARROWMIST_HOSTS", "kiln"));
        assertThat(made()).isNotEqualTo(first);
        assertThat(made().getSubjectAlternativeNames().stream()
                        .map(n -> n.get(1).toString()))
                .contains("kiln");
    }

    @Test
    void aHalfWrittenOneIsMadeAnew() throws Exception {
        Files.writeString(keys(), "half");
        settings(Map.of("BARROWMIST_ADDRESS", EVERYWHERE));
        assertThat(made().getSubjectX500Principal().getName()).isEqualTo("CN=Barrowmist lab");
    }

    @Test
    void theLabsOwnCertificateIsTaken() throws IOException {
        Path certificate = Files.writeString(data.resolve("lab.crt"), "certificate");
        Path key = Files.writeString(data.resolve("lab.key"), "key");
        assertThat(settings(Map.of(
                        "BARROWMIST_ADDRESS", EVERYWHERE,
                        "BARROWMIST_CERTIFICATE", certificate.toString(),
                        "BARROWMIST_CERTIFICATE_KEY", key.toString())))
                .containsEntry(
                        "spring.ssl.bundle.pem.lab.keystore.certificate",
                        certificate.toUri().toString())
                .containsEntry(
                        "spring.ssl.bundle.pem.lab.keystore.private-key",
                        key.toUri().toString());
        assertThat(keys()).doesNotExist();
        assertThatThrownBy(() -> settings(
                        Map.of("BARROWMIST_ADDRESS", EVERYWHERE, "BARROWMIST_CERTIFICATE", certificate.toString())))
                .hasMessageContaining("BARROWMIST_CERTIFICATE_KEY");
    }

    @Test
    void behindAProxyItsWordIsTakenForWhoCalls() throws IOException {
        assertThat(settings(Map.of(
                        "BARROWMIST_ADDRESS", EVERYWHERE, "BARROWMIST_HTTPS", "off", "BARROWMIST_PROXY", "192.0.2.4")))
                .containsOnlyKeys("server.forward-headers-strategy", "server.tomcat.remoteip.internal-proxies");
    }
}

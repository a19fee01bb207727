package barrowmist.server.people;

import barrowmist.server.people.PeopleViews.NetworkView;
import barrowmist.server.web.LabAddresses;
import barrowmist.server.web.LabNames;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.cert.Certificate;
import java.util.Collections;
import java.util.HexFormat;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ssl.NoSuchSslBundleException;
import org.springframework.boot.ssl.SslBundles;
import org.springframework.stereotype.Component;

/** Where other devices find this lab, and by which certificate they know it. */
@Component
class LabNetwork {

    private static final String BUNDLE = "lab";

    private final SslBundles bundles;
    private final String address;
    private final int port;
    private final String hosts;

    LabNetwork(
            SslBundles bundles,
            @Value("${server.address}") String address,
            @Value("${server.port}") int port,
            @Value("${barrowmist.hosts:}") String hosts) {
        this.bundles = bundles;
        this.address = address;
        this.port = port;
        this.hosts = hosts;
    }

    /** Whether the server listens to other devices. */
    boolean beyond() {
        return !LabAddresses.loopback(address);
    }

    NetworkView view() {
        String fingerprint = fingerprint();
        String scheme = fingerprint == null ? "http://" : "https://";
        List<String> addresses = beyond()
                ? Stream.concat(
                                LabAddresses.ofThisComputer().stream().map(LabNetwork::host),
                                LabNames.of(hosts).stream().filter(n -> !n.equals("localhost")))
                        .map(h -> scheme + h + ":" + port)
                        .toList()
                : List.of();
        return new NetworkView(beyond(), addresses, fingerprint);
    }

    private static String host(InetAddress a) {
        String plain = a.getHostAddress().replaceFirst("%.*", "");
        return a instanceof Inet6Address ? "[" + plain + "]" : plain;
    }

    private @Nullable String fingerprint() {
        try {
            KeyStore store =
                    Objects.requireNonNull(bundles.getBundle(BUNDLE).getStores().getKeyStore());
            Certificate certificate =
                    store.getCertificate(Collections.list(store.aliases()).get(0));
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(certificate.getEncoded());
            return HexFormat.ofDelimiter(":").withUpperCase().formatHex(digest);
        } catch (NoSuchSslBundleException e) {
            return null;
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("the certificate the server speaks by cannot be read", e);
        }
    }
}

package barrowmist.server.web;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.Comparator;
import java.util.List;

/** The addresses of this computer. */
public final class LabAddresses {

    private LabAddresses() {}

    /** Whether a server that listens to this address is reached from this computer alone. */
    public static boolean loopback(String address) {
        try {
            return InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException e) {
            return false;
        }
    }

    /** Those under which other devices of the shop reach it, the short ones first; may be empty. */
    public static List<InetAddress> ofThisComputer() {
        try {
            return NetworkInterface.networkInterfaces()
                    .flatMap(NetworkInterface::inetAddresses)
                    .filter(a -> !a.isLoopbackAddress() && !a.isLinkLocalAddress())
                    .sorted(Comparator.comparingInt(a -> a.getAddress().length))
                    .toList();
        } catch (SocketException e) {
            return List.of();
        }
    }
}

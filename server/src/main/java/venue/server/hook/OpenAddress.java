package venue.server.hook;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.Arrays;

/**
 * Which addresses stand in the open: not this machine's own, not in private networks, nor in what is set aside (the special-purpose
 * registries of IANA, RFC 6890), nor such ones within an address of version 6.
 */
final class OpenAddress {

    private static final int VERSION_4_AT = 12;
    private static final int SIX_TO_FOUR_AT = 2;
    private static final int FOUR = 4;
    /** Network and length: what Java doesn't tell by a method of its own. */
    private static final int[][] SET_ASIDE = {
        {0, 0, 0, 0, 8},
        {100, 64, 0, 0, 10},
        {192, 0, 0, 0, 24},
        {192, 0, 2, 0, 24},
        {192, 88, 99, 0, 24},
        {198, 18, 0, 0, 15},
        {198, 51, 100, 0, 24},
        {203, 0, 113, 0, 24},
        {240, 0, 0, 0, 4}
    };

    private OpenAddress() {}

    static boolean is(InetAddress address) {
        if (address.isAnyLocalAddress()
                || address.isLoopbackAddress()
                || address.isLinkLocalAddress()
                || address.isSiteLocalAddress()
                || address.isMulticastAddress()
                || isOurs(address)) {
            return false;
        }
        byte[] bytes = address.getAddress();
        return address instanceof Inet4Address ? !isSetAside(bytes) : isOpen6(bytes);
    }

    private static boolean isOurs(InetAddress address) {
        try {
            return NetworkInterface.getByInetAddress(address) != null;
        } catch (SocketException unknown) {
            return true;
        }
    }

    private static boolean isSetAside(byte[] bytes) {
        int address = whole(bytes);
        return Arrays.stream(SET_ASIDE).anyMatch(n -> {
            int mask = -1 << (Integer.SIZE - n[FOUR]);
            int network = n[0] << 24 | n[1] << 16 | n[2] << 8 | n[3];
            return (address & mask) == network;
        });
    }

    private static int whole(byte[] bytes) {
        return (bytes[0] & 0xff) << 24 | (bytes[1] & 0xff) << 16 | (bytes[2] & 0xff) << 8 | bytes[3] & 0xff;
    }

    /** Global unicast alone (2000::/3), and where it leads to an address of version 4, that one as well. */
    private static boolean isOpen6(byte[] b) {
        int first = (b[0] & 0xff) << 8 | b[1] & 0xff;
        int second = (b[2] & 0xff) << 8 | b[3] & 0xff;
        if (first == 0x0064 && second == 0xff9b) {
            return isOpen4(Arrays.copyOfRange(b, VERSION_4_AT, VERSION_4_AT + FOUR));
        }
        if (first == 0x2002) {
            return isOpen4(Arrays.copyOfRange(b, SIX_TO_FOUR_AT, SIX_TO_FOUR_AT + FOUR));
        }
        boolean documented = first == 0x2001 && (second == 0x0db8 || second < 0x0200);
        return (first & 0xe000) == 0x2000 && !documented;
    }

    private static boolean isOpen4(byte[] bytes) {
        try {
            return is(InetAddress.getByAddress(bytes));
        } catch (java.net.UnknownHostException none) {
            return false;
        }
    }
}

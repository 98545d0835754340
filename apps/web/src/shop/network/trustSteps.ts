/** How a certificate authority comes to be trusted, by the kind of device. Names of menus as they commonly are. */
export const trustSteps = [
  {
    device: 'iPhone, iPad',
    steps: [
      'Open this page on it in Safari, and fetch the certificate.',
      'Settings, General, VPN & Device Management: install the profile that was loaded.',
      'Settings, General, About, Certificate Trust Settings: switch it on.',
      'Open the address that begins with https. Share, Add to Home Screen.',
    ],
  },
  {
    device: 'Android',
    steps: [
      'Open this page on it, and fetch the certificate.',
      'Settings, search for “CA certificate”, install it from the file, and confirm the warning.',
      'Open the address that begins with https in the browser.',
      'Menu, Install app or Add to Home screen.',
    ],
  },
  {
    device: 'Computer',
    steps: [
      'Open this page on it, and fetch the certificate.',
      'Open the file: install it as a trusted root (Windows: Trusted Root Certification Authorities; macOS: Keychain, always trust; Linux: in the browser’s settings, Authorities).',
      'Close and open the browser, then the address that begins with https.',
    ],
  },
] as const;

# What is installed where, and the Debian package. Everything a running Havlo needs besides libraries is inside its
# programs; the rest is for the desktop and the shells.
include(GNUInstallDirs)
set(linux ${CMAKE_SOURCE_DIR}/packaging/linux)
set(generated ${CMAKE_BINARY_DIR}/installed)
file(STRINGS ${CMAKE_SOURCE_DIR}/packaging/release.txt RELEASE_DATE LIMIT_COUNT 1)

install(TARGETS havlo havlo-cli RUNTIME DESTINATION ${CMAKE_INSTALL_BINDIR})
install(FILES ${linux}/havlo.desktop DESTINATION ${CMAKE_INSTALL_DATADIR}/applications)
install(FILES ${linux}/havlo.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/mime/packages)
install(FILES ${linux}/havlo.thumbnailer DESTINATION ${CMAKE_INSTALL_DATADIR}/thumbnailers)
configure_file(${linux}/havlo.metainfo.xml ${generated}/havlo.metainfo.xml @ONLY)
configure_file(${linux}/havlo.1 ${generated}/havlo.1 @ONLY)
install(FILES ${generated}/havlo.metainfo.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/metainfo)

set(icons ${CMAKE_SOURCE_DIR}/data/icons)
set(hicolor ${CMAKE_INSTALL_DATADIR}/icons/hicolor)
install(FILES ${icons}/havlo.svg DESTINATION ${hicolor}/scalable/apps)
install(FILES ${icons}/havlo-symbolic.svg DESTINATION ${hicolor}/symbolic/apps)
install(FILES ${icons}/application-x-havlo-plan.svg ${icons}/application-x-havlo-drawer.svg DESTINATION ${hicolor}/scalable/mimetypes)
foreach(size 16 22 24 32 48 64 128 256 512)
  install(FILES ${icons}/png/havlo-${size}.png DESTINATION ${hicolor}/${size}x${size}/apps RENAME havlo.png)
endforeach()

# Manual pages and completions come from the command line itself.
set(man ${CMAKE_INSTALL_MANDIR}/man1)
set(share ${CMAKE_INSTALL_DATADIR})
add_custom_command(OUTPUT ${generated}/havlo.1.gz ${generated}/havlo-cli.1.gz ${generated}/havlo-cli.bash ${generated}/_havlo-cli
    ${generated}/havlo-cli.fish ${generated}/changelog.gz
  COMMAND havlo-cli --man ${RELEASE_DATE} > ${generated}/havlo-cli.1
  COMMAND havlo-cli --completion bash > ${generated}/havlo-cli.bash
  COMMAND havlo-cli --completion zsh > ${generated}/_havlo-cli
  COMMAND havlo-cli --completion fish > ${generated}/havlo-cli.fish
  COMMAND gzip -9nc ${generated}/havlo.1 > ${generated}/havlo.1.gz
  COMMAND gzip -9nc ${generated}/havlo-cli.1 > ${generated}/havlo-cli.1.gz
  COMMAND gzip -9nc ${CMAKE_SOURCE_DIR}/packaging/debian/changelog > ${generated}/changelog.gz
  DEPENDS havlo-cli ${linux}/havlo.1 ${CMAKE_SOURCE_DIR}/packaging/debian/changelog ${CMAKE_SOURCE_DIR}/packaging/release.txt VERBATIM)
add_custom_target(installed DEPENDS ${generated}/havlo-cli.1.gz)
if(NOT HAVLO_QUICK)
  add_custom_target(with_installed ALL DEPENDS installed)
endif()
install(FILES ${generated}/havlo.1.gz ${generated}/havlo-cli.1.gz DESTINATION ${man})
install(FILES ${generated}/havlo-cli.bash DESTINATION ${share}/bash-completion/completions RENAME havlo-cli)
install(FILES ${generated}/_havlo-cli DESTINATION ${share}/zsh/vendor-completions)
install(FILES ${generated}/havlo-cli.fish DESTINATION ${share}/fish/vendor_completions.d)
install(FILES ${CMAKE_SOURCE_DIR}/packaging/debian/copyright ${generated}/changelog.gz DESTINATION ${share}/doc/havlo)
install(FILES ${CMAKE_SOURCE_DIR}/README.md ${CMAKE_SOURCE_DIR}/docs/plan-format.md ${CMAKE_SOURCE_DIR}/docs/drawer-format.md
  ${CMAKE_SOURCE_DIR}/docs/command-line.md DESTINATION ${share}/doc/havlo)

set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_NAME havlo)
set(CPACK_PACKAGE_VERSION ${PROJECT_VERSION})
set(CPACK_PACKAGE_CONTACT "The Havlo developers <developers@havlo.example.org>")
set(CPACK_PACKAGE_DESCRIPTION_SUMMARY "planner for scene cards made with rubber stamps")
set(CPACK_DEBIAN_PACKAGE_DESCRIPTION
"Havlo plans small landscapes on a card front, built up from rubber
stamps of a fixed size: where each figure, tree and building stands at
its right size, what it covers, which masks are cut and in what order
everything is stamped. It proves the plan on simulated paper, prints what
is needed at the table at true size and leads through the making.")
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
set(CPACK_STRIP_FILES ON)
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_DEBIAN_PACKAGE_SECTION graphics)
set(CPACK_DEBIAN_PACKAGE_PRIORITY optional)
set(CPACK_DEBIAN_PACKAGE_SHLIBDEPS ON)
# Loaded while it runs, so that nothing links them.
set(CPACK_DEBIAN_PACKAGE_DEPENDS "libqt6svg6, libqt6sql6-sqlite, qt6-qpa-plugins, qt6-translations-l10n, shared-mime-info, hicolor-icon-theme")
set(CPACK_DEBIAN_PACKAGE_RECOMMENDS "qt6-image-formats-plugins, qt6-wayland")
set(CPACK_DEBIAN_PACKAGE_CONTROL_STRICT_PERMISSION ON)
include(CPack)

# Libraries from Debian. Those without a config package of their own become imported targets here.
find_package(Threads REQUIRED)
find_package(nlohmann_json 3 REQUIRED)
find_package(GEOS 3.11 REQUIRED)
find_package(Boost REQUIRED)
find_package(ZLIB REQUIRED)
find_package(Qt6 6.4 REQUIRED COMPONENTS Core Gui Sql Svg Widgets Xml PrintSupport)

find_path(OPENCV_INCLUDE_DIR opencv2/imgproc.hpp PATH_SUFFIXES opencv4 REQUIRED)
foreach(part core imgproc)
  find_library(OPENCV_${part}_LIBRARY opencv_${part} REQUIRED)
  add_library(OpenCV::${part} UNKNOWN IMPORTED)
  set_target_properties(OpenCV::${part} PROPERTIES
    IMPORTED_LOCATION "${OPENCV_${part}_LIBRARY}"
    INTERFACE_SYSTEM_INCLUDE_DIRECTORIES "${OPENCV_INCLUDE_DIR}"
    INTERFACE_INCLUDE_DIRECTORIES "${OPENCV_INCLUDE_DIR}")
endforeach()

find_path(POTRACE_INCLUDE_DIR potracelib.h REQUIRED)
find_library(POTRACE_LIBRARY potrace REQUIRED)
add_library(Potrace::potrace UNKNOWN IMPORTED)
set_target_properties(Potrace::potrace PROPERTIES
  IMPORTED_LOCATION "${POTRACE_LIBRARY}" INTERFACE_INCLUDE_DIRECTORIES "${POTRACE_INCLUDE_DIR}")

find_path(ZIP_INCLUDE_DIR zip.h REQUIRED)
find_library(ZIP_LIBRARY zip REQUIRED)
add_library(Zip::zip UNKNOWN IMPORTED)
set_target_properties(Zip::zip PROPERTIES
  IMPORTED_LOCATION "${ZIP_LIBRARY}" INTERFACE_INCLUDE_DIRECTORIES "${ZIP_INCLUDE_DIR}")

find_path(QPDF_INCLUDE_DIR qpdf/QPDF.hh REQUIRED)
find_library(QPDF_LIBRARY qpdf REQUIRED)
add_library(Qpdf::qpdf UNKNOWN IMPORTED)
set_target_properties(Qpdf::qpdf PROPERTIES
  IMPORTED_LOCATION "${QPDF_LIBRARY}" INTERFACE_SYSTEM_INCLUDE_DIRECTORIES "${QPDF_INCLUDE_DIR}"
  INTERFACE_INCLUDE_DIRECTORIES "${QPDF_INCLUDE_DIR}")

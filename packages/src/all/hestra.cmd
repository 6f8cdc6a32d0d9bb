@echo off
rem Starts Hestra with a Java of this machine: 25 or later.
setlocal
set "HERE=%~dp0"
set "JAVA=java.exe"
if defined JAVA_HOME if exist "%JAVA_HOME%\bin\java.exe" set "JAVA=%JAVA_HOME%\bin\java.exe"
if defined HESTRA_JAVA if exist "%HESTRA_JAVA%\bin\java.exe" set "JAVA=%HESTRA_JAVA%\bin\java.exe"
set "SAID=%TEMP%\hestra-java-%RANDOM%.txt"
set "VERSION="
set "MAJOR="
"%JAVA%" -version 2> "%SAID%"
for /f "usebackq tokens=3" %%v in ("%SAID%") do if not defined VERSION set "VERSION=%%~v"
del "%SAID%" 2> nul
for /f "delims=.-+" %%m in ("%VERSION%") do set "MAJOR=%%m"
if not defined MAJOR goto none
if %MAJOR% LSS 25 goto none
"%JAVA%" --module-path "%HERE%lib\fx\win" --add-modules javafx.controls --enable-native-access=javafx.graphics --sun-misc-unsafe-memory-access=allow -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -XX:ReservedCodeCacheSize=240m -Dprism.dirtyregioncount=15 -Dfile.encoding=UTF-8 -cp "%HERE%lib\*" hestra.desktop.Main %*
exit /b %ERRORLEVEL%

:none
echo Hestra needs Java 25. Install a Java runtime (JRE or JDK) of 25 or later, or say where one is: set HESTRA_JAVA=C:\path\to\java 1>&2
exit /b 1
